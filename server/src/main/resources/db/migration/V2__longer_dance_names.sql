alter table figure_copy alter column dance varchar(40) not null;
alter table routine alter column dance varchar(40) not null;
