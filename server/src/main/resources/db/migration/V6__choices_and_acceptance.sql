-- What a studio chooses once for all its work: one row for each choice, there from the start.
create table choice (
    name varchar(40) primary key,
    chosen varchar(1048576),
    version bigint not null
);
insert into choice (name, chosen, version) select 'ways', chosen, version from ways;
insert into choice (name, chosen, version) values ('pace', null, 0);
drop table ways;

-- What an order was accepted with; null while it follows the shelf and the studio.
alter table flower_order add column accepted varchar(1048576);
