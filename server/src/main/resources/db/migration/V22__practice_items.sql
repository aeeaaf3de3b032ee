-- All that a practice keeps for its cases is kept in one way: each state, who saved it, and what was deleted for thirty days.
alter table lending_rule rename to practice_item;
alter index lending_rule_of_practice rename to practice_item_of_practice;
alter table practice_item add column deleted_at timestamptz;
alter table practice_item add column deleted_by text;

alter table lending_rule_state rename to practice_item_state;
alter table practice_item_state rename column rule_id to item_id;

insert into practice_item (id, practice_id, revision, name, body, saved_at, saved_by, kind)
select id, practice_id, revision, name, rates, saved_at, saved_by, 'RATE_TABLE' from rate_table;

insert into practice_item (id, practice_id, revision, name, body, saved_at, saved_by, kind)
select id, practice_id, revision, name, jsonb_build_object('name', name, 'says', says), saved_at, saved_by, 'HAND_OUT_TEMPLATE'
from handout_template;

insert into practice_item (id, practice_id, revision, name, body, saved_at, saved_by, kind)
select gen_random_uuid(), practice_id, revision, body ->> 'name', body, saved_at, saved_by, 'LETTERHEAD' from letterhead;

insert into practice_item_state (id, item_id, revision, body, saved_at, saved_by)
select gen_random_uuid(), id, revision, body, saved_at, saved_by
from practice_item where kind in ('RATE_TABLE', 'HAND_OUT_TEMPLATE', 'LETTERHEAD');

drop table rate_table;
drop table handout_template;
drop table letterhead;
