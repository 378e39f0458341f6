-- What was measured or noted at the bench, and the pictures that were taken: each written anew, so that nothing but the picture is in it.
alter table bench_event add column said varchar(4000);

create table bench_picture (
    id uuid primary key,
    order_id uuid not null references flower_order (id) on delete cascade,
    taken timestamp(3) not null,
    jpeg varchar(1048576) not null
);

create index bench_picture_of_order on bench_picture (order_id);
