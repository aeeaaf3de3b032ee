-- What a practice has chosen is kept as all that it keeps: each state, and who saved it.
insert into practice_item (id, practice_id, revision, name, body, saved_at, saved_by, kind)
select gen_random_uuid(), id, 0, name,
    jsonb_build_object('name', name, 'market', market, 'timeZone', time_zone), now(), name, 'SETTINGS'
from practice;

insert into practice_item_state (id, item_id, revision, body, saved_at, saved_by)
select gen_random_uuid(), id, revision, body, saved_at, saved_by from practice_item where kind = 'SETTINGS';

alter table practice drop column name, drop column market, drop column time_zone;
