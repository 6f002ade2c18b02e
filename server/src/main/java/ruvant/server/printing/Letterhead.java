package ruvant.server.printing;

import java.util.List;
import ruvant.core.units.TagNumber;

/**
 * The paper of the shop: its name and address, the number of the job on a paper tag, what sheet it is and of which
 * camera; below that, titles hang in the left margin and what they are about stands beside them.
 */
public final class Letterhead {
    private static final String STYLE = """
            @page { size: %s; margin: 14mm 16mm 16mm;
                    @bottom-right { content: counter(page) " / " counter(pages); font-family: 'Noto Sans'; font-size: 8pt; color: #55504a } }
            body { font-family: 'Noto Sans', 'Noto Sans Arabic', 'Noto Sans Hebrew', 'Noto Sans Devanagari', 'Droid Sans Fallback', sans-serif;
                   font-size: 9.5pt; line-height: 1.4; color: #1c1a17; background: #fff; margin: 0; }
            main { max-width: 178mm; margin: 0 auto; }
            @media screen { main { padding: 10mm 8mm; } }
            table { border-collapse: collapse; width: 100%%; }
            .rows { table-layout: fixed; }
            .head td { vertical-align: middle; padding: 0; }
            .head .shop { font-size: 12pt; font-weight: bold; line-height: 1.25; }
            .head .where { color: #55504a; font-size: 8.5pt; }
            .head .of { width: 124pt; padding-left: 20mm; text-align: right; }
            .head svg { display: inline-block; }
            .rule { border-top: 2.4pt solid #0b5660; margin: 5pt 0 9pt; }
            .kicker { color: #0b5660; font-size: 9pt; font-weight: bold; margin: 0; }
            h1 { font-size: 19pt; line-height: 1.15; margin: 0 0 7pt; overflow-wrap: anywhere; word-wrap: break-word; }
            .facts { margin-bottom: 4pt; }
            .facts td { vertical-align: top; padding: 3pt 8pt 4pt 0; width: 25%%; overflow-wrap: anywhere; word-wrap: break-word;
                        border-top: 0.6pt solid #b9b2a4; border-bottom: 0.6pt solid #b9b2a4; }
            .name { color: #55504a; font-size: 8pt; }
            .rows > tbody > tr > th, .rows > tr > th { width: 38mm; text-align: left; vertical-align: top; font-size: 9.5pt; padding: 6pt 10pt 0 0; color: #0b5660; }
            .rows > tbody > tr > td, .rows > tr > td { vertical-align: top; padding: 6pt 0 0; }
            ul { margin: 0; padding: 0; list-style: none; }
            li { margin: 0 0 1.5pt; overflow-wrap: anywhere; word-wrap: break-word; }
            .foot { margin-top: 14pt; padding-top: 5pt; border-top: 0.6pt solid #b9b2a4; color: #55504a; }
            """;

    private Letterhead() {}

    /** A fact under the head: its name and what it is. */
    public record Fact(String name, String value) {}

    /**
     * A whole page of markup.
     *
     * @param style what this sheet needs beyond the letterhead
     * @param sheet what it is, such as "Return sheet"
     * @param body markup below the facts
     */
    public static String page(
            Paper paper,
            String style,
            String shop,
            TagNumber tag,
            String sheet,
            String camera,
            List<Fact> facts,
            CharSequence body) {
        return page(paper, style, shop, tag(tag), tag + ", " + camera, sheet, camera, facts, body);
    }

    /** A whole page of markup that is about no single camera. */
    public static String page(
            Paper paper, String style, String shop, String sheet, String about, List<Fact> facts, CharSequence body) {
        return page(paper, style, shop, "", about, sheet, about, facts, body);
    }

    private static String page(
            Paper paper,
            String style,
            String shop,
            String corner,
            String title,
            String sheet,
            String about,
            List<Fact> facts,
            CharSequence body) {
        StringBuilder head = new StringBuilder();
        head.append(
                "<table class=\"head\"><tr><td>%s</td><td class=\"of\">%s</td></tr></table><div class=\"rule\"></div>"
                        .formatted(shop(shop), corner));
        head.append("<p class=\"kicker\">%s</p><h1>%s</h1>".formatted(Markup.escape(sheet), Markup.escape(about)));
        head.append("<table class=\"facts\"><tr>");
        facts.forEach(fact -> head.append("<td><span class=\"name\">%s</span><br/><span dir=\"auto\">%s</span></td>"
                .formatted(Markup.escape(fact.name()), Markup.escape(fact.value()))));
        head.append("</tr></table>");
        return """
                <!DOCTYPE html>
                <html lang="en"><head><meta charset="UTF-8"/><title>%s</title><style>%s%s</style></head>
                <body><main>%s%s</main></body></html>
                """.formatted(Markup.escape(title), STYLE.formatted(paper.size()), style, head, body);
    }

    /** A title in the margin with markup beside it. */
    public static String row(String title, CharSequence beside) {
        return "<table class=\"rows\"><tr><th>%s</th><td>%s</td></tr></table>".formatted(Markup.escape(title), beside);
    }

    /** The name of the shop large, its address small under it: they are kept as one line, parted by commas. */
    private static String shop(String line) {
        int comma = line.indexOf(',');
        String name = comma < 0 ? line : line.substring(0, comma);
        String where = comma < 0 ? "" : line.substring(comma + 1).strip();
        return "<div class=\"shop\">%s</div><div class=\"where\">%s</div>"
                .formatted(Markup.escape(name), Markup.escape(where));
    }

    /** A paper tag, as it hangs on the camera. */
    private static String tag(TagNumber tag) {
        return """
                <svg xmlns="http://www.w3.org/2000/svg" width="124" height="38" viewBox="0 0 124 38">
                <path d="M12 2H122V36H12L2 26V12z" fill="#f6e7c2" stroke="#b98a2f" stroke-width="1.6"/>
                <circle cx="13" cy="19" r="3.6" fill="#ffffff" stroke="#b98a2f" stroke-width="1.4"/>
                <text x="69" y="26" text-anchor="middle" font-family="Noto Sans" font-weight="bold" font-size="20" fill="#6d4a0c">%s</text>
                </svg>""".formatted(tag);
    }
}
