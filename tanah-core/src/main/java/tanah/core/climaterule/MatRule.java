package tanah.core.climaterule;

import java.util.ArrayList;
import java.util.List;
import tanah.core.box.Fixture;
import tanah.core.design.Device;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.units.Unit;

/** Mats and cables: never below an animal that digs away from heat, never under deep damp ground. Common practice. */
public final class MatRule {
    public static final RuleId DIGGER = new RuleId("climate.heat_under_digger");
    public static final RuleId DEEP = new RuleId("climate.mat.deep");
    public static final RuleId SHARE = new RuleId("climate.mat.share");

    private static final double DEEPEST = 0.05; // m of ground over a mat
    /** Share of a face that mats may cover, so that a cool part is left; common practice. */
    public static final double MOST = 1.0 / 3;

    private MatRule() {}

    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        for (RuleInput.Fitted x : j.fitted()) {
            if (x.fixture().part() instanceof Fixture.Mat mat) {
                mat(j, x.device(), mat, findings);
            } else if (x.fixture().part() instanceof Fixture.Cable && j.needs().burrower() >= 1) {
                findings.add(under(j, x.device()));
            }
        }
        return findings;
    }

    private static void mat(RuleInput j, Device d, Fixture.Mat mat, List<Finding> findings) {
        Forecast f = j.forecast();
        double area = (mat.to() - mat.from()) * (mat.high() - mat.low());
        double face;
        if (mat.side().isEmpty()) {
            if (j.needs().burrower() >= 1) {
                findings.add(under(j, d));
            }
            double depth = f.groundAt((mat.from() + mat.to()) / 2, (mat.low() + mat.high()) / 2);
            if (depth > DEEPEST) {
                findings.add(j.finding(
                        DEEP,
                        Severity.CAUTION,
                        Place.part(Stage.HEAT, d.id()),
                        "",
                        List.of(
                                new Measure("depth", depth, Unit.CENTIMETRE),
                                new Measure("most", DEEPEST, Unit.CENTIMETRE)),
                        Remedy.change("mat-on-wall", new Action.GoTo(Stage.HEAT))));
            }
            face = f.mapped().enclosure().shell().length()
                    * f.mapped().enclosure().shell().width();
        } else {
            boolean alongX = mat.side().get() == tanah.core.light.Lid.Side.FRONT
                    || mat.side().get() == tanah.core.light.Lid.Side.BACK;
            face = f.mapped().enclosure().shell().height()
                    * (alongX
                            ? f.mapped().enclosure().shell().length()
                            : f.mapped().enclosure().shell().width());
        }
        if (area > MOST * face) {
            findings.add(j.finding(
                    SHARE,
                    Severity.CAUTION,
                    Place.part(Stage.HEAT, d.id()),
                    "",
                    List.of(new Measure("share", area / face, Unit.PERCENT), new Measure("most", MOST, Unit.PERCENT)),
                    Remedy.change("smaller-mat", new Action.GoTo(Stage.HEAT))));
        }
    }

    private static Finding under(RuleInput j, Device d) {
        return j.finding(
                DIGGER,
                Severity.STOP,
                Place.part(Stage.HEAT, d.id()),
                "",
                List.of(),
                Remedy.change("take-out", new DeviceEdit.RemoveDevice(d.id())),
                Remedy.change("mat-on-wall", new Action.GoTo(Stage.HEAT)));
    }
}
