-- Lines of an order have ids of their own; those that are there keep the numbers that touches and plans know them by.
alter table flower_order_line add column line_id varchar(36);
update flower_order_line set line_id = cast(place as varchar);
alter table flower_order_line alter column line_id set not null;
