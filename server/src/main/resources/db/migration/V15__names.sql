-- One word, one meaning.
alter table flower_order alter column margin_h rename to spare_time_h;
alter table species alter column aside rename to archived;
update choice set name = 'techniques' where name = 'ways';
