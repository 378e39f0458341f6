-- When an order was accepted, so that a list need not read all that it was accepted with.
alter table flower_order add column accepted_at timestamp(3) with time zone;
