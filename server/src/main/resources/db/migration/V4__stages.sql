alter table species add column full_flower uuid;
alter table species add column stage varchar(8);
alter table species add constraint species_full_flower foreign key (full_flower) references species (id);
alter table species add constraint species_one_of_each_stage unique (full_flower, stage);
