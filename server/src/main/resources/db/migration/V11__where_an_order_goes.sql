-- Where the flowers stand once they have left; unknown, to begin with.
alter table flower_order add column venue varchar(1000);
