-- The hour that a clock tells twice has two readings: what was kept without its zone was read off this studio's clock.
alter table room_reading alter column taken_at timestamp(3) with time zone not null;
