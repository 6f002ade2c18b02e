package ruvant.core.logline;

import java.util.List;
import ruvant.core.units.WellName;

/** Wells of a line; with the tray before them where it was named once for all. */
final class Wells {
    private Wells() {}

    static List<WellName> of(Fields said) {
        String tray = said.number("tray")
                .map(number -> String.valueOf(number.intValue()))
                .orElse("");
        List<String> names = said.texts("wells").isEmpty() ? said.texts("well") : said.texts("wells");
        return names.stream()
                .map(name -> WellName.parse(Character.isDigit(name.charAt(0)) ? name : tray + name))
                .toList();
    }
}
