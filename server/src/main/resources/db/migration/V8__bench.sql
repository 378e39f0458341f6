-- What was touched at the bench, touch by touch; each has the name that it was given where it was touched.
create table bench_event (
    id uuid primary key,
    order_id uuid not null references flower_order (id) on delete cascade,
    work varchar(200) not null,
    touch varchar(20) not null,
    at timestamp(3) not null,
    pieces int not null
);

-- When an order left the studio.
alter table flower_order add column delivered timestamp;

-- What the studio asks for its work.
insert into choice (name, chosen, version) values ('tariff', null, 0);

create index bench_event_of_order on bench_event (order_id);
