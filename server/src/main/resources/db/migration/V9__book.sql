-- What of the book the maker left out: nothing, to begin with.
insert into choice (name, chosen, version) values ('left-out', null, 0);
