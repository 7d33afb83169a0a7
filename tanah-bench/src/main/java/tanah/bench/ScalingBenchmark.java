package tanah.bench;

import java.util.Locale;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.AuxCounters;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tanah.core.box.Factors;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.files.climate.CaseReader;
import tools.jackson.databind.json.JsonMapper;

/** How a whole day grows with the zones of the air and with the number of steps: one lamp over damp soil in boxes of all sizes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
public class ScalingBenchmark {
    /** Length, width and height (m). */
    @Param({"0.3x0.3x0.3", "0.6x0.3x0.45", "0.9x0.45x0.6", "1.2x0.6x0.9"})
    public String size = "";

    /** Length of a step (s). */
    @Param({"900", "300", "100"})
    public double step;

    private CaseReader input = CaseReader.of(JsonMapper.builder().build().createObjectNode());
    private ClimateModel model = ClimateModel.of(box("0.3x0.3x0.3").read(), Factors.ONE);

    private static CaseReader box(String size) {
        String[] m = size.split("x");
        String text = String.format(
                Locale.ROOT,
                "{'photoperiod_h':12,'day_start_h':8,'vessel':{'length_m':%1$s,'depth_m':%2$s,'height_m':%3$s,"
                        + "'panes':{'all':{'material':'glass','thickness_m':0.005}},'lid':{'mesh_fraction':0.3,'mesh_open_fraction':0.6,"
                        + "'solid':{'material':'glass','thickness_m':0.004}}},'ground':{'regions':[{'type':'land','layers':"
                        + "[{'material':'coco_moist','thickness_m':0.08}],'soil_depth_m':0.08,'wet0':0.9}]},'devices':[{'name':'lamp',"
                        + "'type':'point','power_w':30,'x_m':0.15,'y_m':0.15,'z_m':%3$s,'beam_deg':40,'aperture_m':0.04,'f_beam':0.57,"
                        + "'f_wide':0.19,'f_star':0.08,'band':'nir','schedule':'day'}],'room':{'winter':{'temp_day_c':20,'temp_night_c':16,"
                        + "'rh_day_pct':50,'rh_night_pct':50},'summer':{'temp_day_c':26,'temp_night_c':22,'rh_day_pct':50,'rh_night_pct':50}}}",
                m[0],
                m[1],
                m[2]);
        return CaseReader.of(JsonMapper.builder().build().readTree(text.replace('\'', '"')));
    }

    /** Zones beside the time. */
    @State(Scope.Thread)
    @AuxCounters(AuxCounters.Type.EVENTS)
    public static class Size {
        public long zones;

        @Setup(org.openjdk.jmh.annotations.Level.Iteration)
        public void clear() {
            zones = 0;
        }
    }

    @Setup
    public void build() {
        input = box(size);
        model = ClimateModel.of(input.read(), Factors.ONE);
    }

    @Benchmark
    public DayCourse wholeDay(Size s) {
        s.zones = model.zones();
        return DayRun.of(model, input.season("winter"), step, () -> false).orElseThrow();
    }
}
