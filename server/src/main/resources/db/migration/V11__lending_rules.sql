-- Limit sets and letting programmes are kept in the same way.
alter table limit_set rename to lending_rule;
alter table lending_rule rename column limits to body;
alter table lending_rule add column kind text not null default 'LIMIT_SET';
alter table lending_rule alter column kind drop default;
drop index limit_set_of_practice;
create index lending_rule_of_practice on lending_rule (practice_id, kind, name);

alter table limit_set_state rename to lending_rule_state;
alter table lending_rule_state rename column set_id to rule_id;
alter table lending_rule_state rename column limits to body;
