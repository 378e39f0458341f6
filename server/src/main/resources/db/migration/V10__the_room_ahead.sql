-- By what the coming air is known: by the room as it is set, to begin with.
insert into choice (name, chosen, version) values ('ahead', null, 0);

-- What a sensor told of the room.
create table room_reading (
    taken_at timestamp not null primary key,
    temperature_c double precision not null,
    humidity_pct double precision not null
);
