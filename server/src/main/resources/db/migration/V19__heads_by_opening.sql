-- Further heads are made stage by stage of opening: orders whose touches may name them as one task, to be carried over once.
create table touches_to_carry_over (
    order_id uuid primary key references flower_order (id) on delete cascade
);
insert into touches_to_carry_over select distinct order_id from bench_event where work like '%/make-%';
