package ruvant.core.money;

import ruvant.core.units.Check;

/**
 * The shop as it stands on its papers.
 *
 * @param phone may be empty
 * @param account IBAN or another number under which it is paid; may be empty
 * @param bank BIC or the bank's name; may be empty
 * @param footer what must stand at the foot of each bill, such as where the shop is registered; may be empty
 */
public record Seller(Party party, String phone, String account, String bank, String footer) {
    public Seller {
        Check.chosen("seller", party);
        phone = Check.optionalName("phone", phone);
        account = Check.optionalName("account", account);
        bank = Check.optionalName("bank", bank);
        footer = Check.optionalRemark("footer", footer);
    }
}
