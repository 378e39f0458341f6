create table ways (
    id integer primary key check (id = 1),
    chosen clob not null,
    version bigint not null
);
