package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluator;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Nothing of a plan is lost between saving and reading; what this version does not know is named, not dropped. */
class DocumentRoundTripTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int DRAWN = 300;
    private static final List<String> EXAMPLES = List.of(
            "mossy-frog-paludarium",
            "collared-lizard-arid",
            "giant-millipede-box",
            "deep-arid-burrow",
            "sealed-divider",
            "shared-water-table");

    private static Design read(String document) {
        Parsed parsed = new DesignReader(CATALOGUE).read(document.getBytes(StandardCharsets.UTF_8));
        assertThat(parsed).as(document).isInstanceOf(Parsed.Accepted.class);
        return ((Parsed.Accepted) parsed).design();
    }

    /** Plans that a keeper can make: drawn ones but for what no document may name. */
    private static List<Design> plans() {
        List<Design> all = new ArrayList<>();
        EXAMPLES.forEach(name -> all.add(Examples.read(name)));
        DrawnPlans drawn = new DrawnPlans(CATALOGUE, 99);
        for (int i = 0; i < DRAWN; i++) {
            Design d = drawn.next();
            all.add(d.withDevices(d.devices().stream()
                    .filter(x -> CATALOGUE.findLamp(x.item()).isPresent()
                            || CATALOGUE.findGear(x.item()).isPresent()
                            || CATALOGUE.findMistGear(x.item()).isPresent())
                    .toList()));
        }
        return all;
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        int read = 0;
        for (Design plan : plans()) {
            Parsed parsed =
                    new DesignReader(CATALOGUE).read(DesignWriter.write(plan).getBytes(StandardCharsets.UTF_8));
            if (parsed instanceof Parsed.Accepted a) {
                read++;
                assertThat(DesignWriter.write(a.design())).isEqualTo(DesignWriter.write(plan));
                assertThat(a.design().devices()).hasSameSizeAs(plan.devices());
                assertThat(a.design().hardscape()).isEqualTo(plan.hardscape());
                assertThat(a.design().animals()).isEqualTo(plan.animals());
            }
        }
        assertThat(read).isGreaterThan(DRAWN * 3 / 4);
    }

    @Test
    void aPlanThatWasReadAgainComesToTheSame() {
        for (String name : EXAMPLES) {
            Design plan = Examples.read(name);
            Design again = read(DesignWriter.write(plan));
            assertThat(again).isEqualTo(plan);
            assertThat(Evaluator.evaluate(again, CATALOGUE).findings())
                    .isEqualTo(Evaluator.evaluate(plan, CATALOGUE).findings());
        }
    }

    /** A field that this version does not know is never dropped in silence: each is named by its place. */
    @ParameterizedTest
    @ValueSource(strings = {"mossy-frog-paludarium", "collared-lizard-arid", "giant-millipede-box"})
    void whatThisVersionDoesNotKnowIsNamed(String name) {
        ObjectNode document = (ObjectNode) JSON.readTree(DesignWriter.write(Examples.read(name)));
        ((ObjectNode) document.path("vessel")).put("x_later", "lost?");
        ((ObjectNode) document.path("devices").get(0)).put("x_later", true);
        ((ObjectNode) document.path("animals").get(0)).putObject("x_later");
        ((ObjectNode) document.path("ground").path("layers").get(0)).putArray("x_later");
        Parsed parsed = new DesignReader(CATALOGUE).read(document.toString().getBytes(StandardCharsets.UTF_8));
        assertThat(((Parsed.Refused) parsed).problems())
                .extracting(p -> p.pointer())
                .contains("/vessel/x_later", "/devices/0/x_later", "/animals/0/x_later", "/ground/layers/0/x_later");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "{",
                "[]",
                "null",
                "42",
                "{\"name\": 7}",
                "{\"name\":\"x\",\"vessel\":{\"inside_cm\":{\"length\":-5,\"width\":1,\"height\":1}}}",
                "{\"name\":\"x\",\"vessel\":[]}",
                "{\"name\":\"x\",\"animals\":[{\"id\":\"a\",\"species\":\"unicorn\",\"count\":1}]}",
                "not json at all"
            })
    void whatIsNoPlanIsRefusedWithAPlaceAndAReason(String text) {
        Parsed parsed = new DesignReader(CATALOGUE).read(text.getBytes(StandardCharsets.UTF_8));
        assertThat(parsed).isInstanceOf(Parsed.Refused.class);
        assertThat(((Parsed.Refused) parsed).problems()).isNotEmpty();
    }

    /** Bytes that are cut off or mixed up are refused; nothing is thrown, nothing is half read. */
    @Test
    void aDocumentThatBrokeOnTheWayIsRefused() {
        byte[] whole =
                DesignWriter.write(Examples.read("mossy-frog-paludarium")).getBytes(StandardCharsets.UTF_8);
        java.util.Random random = new java.util.Random(5);
        for (int i = 0; i < 200; i++) {
            byte[] cut = java.util.Arrays.copyOf(whole, random.nextInt(whole.length - 2));
            assertThat(new DesignReader(CATALOGUE).read(cut)).isInstanceOf(Parsed.Refused.class);
        }
        for (int i = 0; i < 300; i++) {
            byte[] mixed = whole.clone();
            for (int k = 0; k < 5; k++) {
                mixed[random.nextInt(mixed.length)] = (byte) random.nextInt(256);
            }
            assertThat(new DesignReader(CATALOGUE).read(mixed)).isNotNull();
        }
    }
}
