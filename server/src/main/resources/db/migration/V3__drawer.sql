create table drawer_item (
    id uuid primary key,
    place bigint not null,
    document clob not null,
    version bigint not null
);

alter table flower_order add column tier_mm double precision default 100 not null;

create table order_use (
    order_id uuid not null references flower_order (id) on delete cascade,
    item_id uuid not null,
    taken clob not null,
    primary key (order_id, item_id)
);
