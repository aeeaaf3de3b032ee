package app.impendium.server.account;

import java.util.UUID;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Seals the secrets of codes that lie plain in a database from before they were sealed. */
@Component
class PlainSecrets implements ApplicationRunner {
    private final JdbcClient database;
    private final Secrets secrets;

    PlainSecrets(JdbcClient database, Secrets secrets) {
        this.database = database;
        this.secrets = secrets;
    }

    private record Plain(UUID id, String secret) {}

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        // One that is only proposed counts for nothing yet: it is proposed again.
        database.sql("update advisor set code_proposed = null where code_proposed not like 'sealed:%'")
                .update();
        database.sql("select id, code_secret as secret from advisor where code_secret not like 'sealed:%' for update")
                .query(Plain.class)
                .list()
                .forEach(each -> database.sql("update advisor set code_secret = ? where id = ?")
                        .params(secrets.seal(each.secret()), each.id())
                        .update());
    }
}
