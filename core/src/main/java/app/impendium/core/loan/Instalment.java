package app.impendium.core.loan;

import app.impendium.core.money.Money;

/**
 * One line of a schedule. Line 0 is the loan before its first payment: nothing paid, the full balance.
 *
 * @param number counted from 1, or 0 for the line before the first payment
 * @param payment interest and principal together, without the extra
 * @param interest the interest part
 * @param principal the principal part
 * @param extra principal paid beside the payment
 * @param interestSoFar interest of all lines up to and with this one
 * @param balance what is owed after this line
 */
public record Instalment(
        int number, Money payment, Money interest, Money principal, Money extra, Money interestSoFar, Money balance) {}
