package tanah.core.climaterule;

import java.util.ArrayList;
import java.util.List;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.forecast.Forecast;

/** All judgements of a forecast. */
public final class ClimateRules {
    private ClimateRules() {}

    public static List<Finding> judge(Design design, List<Inhabitant> animals, Forecast forecast, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>(ModelRule.judge(design, forecast));
        findings.addAll(MistRule.judge(design, catalogue));
        for (Inhabitant animal : animals) {
            RuleInput j = new RuleInput(animal, design, forecast, catalogue);
            findings.addAll(LimitRule.judge(j));
            HeatRule.judge(j).ifPresent(findings::add);
            findings.addAll(NeedRule.judge(j));
            findings.addAll(WaterHeatRule.judge(j));
            findings.addAll(GradientRule.judge(j));
            findings.addAll(MoistureRule.judge(j));
            findings.addAll(UvRule.judge(j));
            findings.addAll(ControlRule.judge(j));
            findings.addAll(DistanceRule.judge(j));
            findings.addAll(MatRule.judge(j));
            findings.addAll(ModelRule.light(j));
        }
        return findings;
    }
}
