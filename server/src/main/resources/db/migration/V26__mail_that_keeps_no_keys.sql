-- What a mail says may open an account: it is kept until it is sent, and no longer.
alter table sent_mail alter column words drop not null;
alter table sent_mail add column delivered_at timestamptz;
update sent_mail set words = null;
create index sent_mail_waiting on sent_mail (sent_at) where words is not null;
