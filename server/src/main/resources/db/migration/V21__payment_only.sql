-- Tells, in lists, a monthly cost that is the loan's payment alone from one with tax, insurance and dues.
alter table case_file add column is_payment_only boolean not null default false;
update case_file set is_payment_only = coalesce(jsonb_strip_nulls(document #> '{options,0,housing}'), '{}') = '{}';
alter table case_file alter column is_payment_only drop default;
