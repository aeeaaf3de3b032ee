package app.impendium.server.mail;

import java.util.Properties;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.stereotype.Component;

/** The mail server that whoever runs the installation named, if they did. */
@Component
class MailServer {
    private static final int LONGEST_MS = 10_000;

    private final JavaMailSenderImpl sender = new JavaMailSenderImpl();
    private final String from;

    MailServer(
            @Value("${impendium.smtp.host}") String host,
            @Value("${impendium.smtp.port}") int port,
            @Value("${impendium.smtp.user}") String user,
            @Value("${impendium.smtp.password}") String password,
            @Value("${impendium.smtp.tls}") boolean isEncrypted,
            @Value("${impendium.smtp.from}") String from) {
        this.from = from;
        sender.setHost(host);
        sender.setPort(port);
        sender.setDefaultEncoding("UTF-8");
        Properties properties = sender.getJavaMailProperties();
        properties.put("mail.smtp.starttls.enable", isEncrypted);
        properties.put("mail.smtp.starttls.required", isEncrypted);
        properties.put("mail.smtp.connectiontimeout", LONGEST_MS);
        properties.put("mail.smtp.timeout", LONGEST_MS);
        properties.put("mail.smtp.writetimeout", LONGEST_MS);
        if (!user.isBlank()) {
            properties.put("mail.smtp.auth", true);
            sender.setUsername(user);
            sender.setPassword(password);
        }
        if (isThere() && from.isBlank()) {
            throw new IllegalStateException(
                    "IMPENDIUM_SMTP_FROM is not set: mail needs an address that it comes from.");
        }
    }

    boolean isThere() {
        return sender.getHost() != null && !sender.getHost().isBlank();
    }

    /** @throws MailException if it does not take the mail */
    void take(Mail mail) {
        SimpleMailMessage message = new SimpleMailMessage();
        message.setFrom(from);
        message.setTo(mail.to());
        message.setSubject(mail.subject());
        message.setText(mail.words());
        sender.send(message);
    }
}
