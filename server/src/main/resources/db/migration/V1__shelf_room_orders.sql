create table species (
    id uuid primary key,
    name varchar(80) not null,
    document clob not null,
    aside boolean not null default false,
    version bigint not null,
    updated_at timestamp(6) with time zone not null
);

create table room (
    id integer primary key check (id = 1),
    temperature_c double precision not null,
    humidity_pct double precision not null,
    air varchar(16) not null,
    inside_c double precision,
    inside_pct double precision,
    version bigint not null
);

insert into room (id, temperature_c, humidity_pct, air, version) values (1, 20, 50, 'STILL', 0);

create table flower_order (
    id uuid primary key,
    name varchar(80) not null,
    note varchar(2000) not null,
    hand_over timestamp(6) not null,
    margin_h double precision not null,
    version bigint not null
);

create table flower_order_line (
    order_id uuid not null references flower_order (id) on delete cascade,
    place integer not null,
    species_id uuid not null references species (id),
    flowers integer not null,
    primary key (order_id, place)
);
