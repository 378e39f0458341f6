-- When the studio works.
insert into choice (name, chosen, version) values ('time', null, 0);

-- The calendar that was last made of an order, with what it was made for.
create table order_calendar (
    order_id uuid primary key references flower_order (id) on delete cascade,
    planned varchar(1048576) not null
);
