package app.impendium.server.document;

import app.impendium.server.document.Convention.Frequency;

/**
 * What is paid today on the loan that ends or is replaced.
 *
 * @param cents the payment, in whole cents
 * @param frequency how often it is paid
 */
public record PresentPaymentDocument(Long cents, Frequency frequency) {}
