package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.HeatSplit;
import tanah.core.climate.LightMap;
import tanah.core.light.Glazing;
import tanah.core.light.Lid;
import tanah.files.schema.Problem;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Every word of a case is taken, does what it says, and keeps its watts. */
class CaseWordsTest {
    private static final String BOX =
            "{'photoperiod_h':12,'day_start_h':8,'vessel':{'length_m':0.6,'depth_m':0.4,'height_m':0.4,"
                    + "'panes':{'all':{'material':'glass','thickness_m':0.005},'back':{'material':'polycarbonate','thickness_m':0.004,"
                    + "'insulation':[{'material':'xps','thickness_m':0.02,'reflectance':0.9}]}},"
                    + "'lid':{'mesh_fraction':0.5,'mesh_open_fraction':0.6,'lid_free':0.8,'solid':{'material':'acrylic','thickness_m':0.003}},"
                    + "'vents':[{'face':'lid','x0_m':0.1,'x1_m':0.2,'y0_m':0.02,'y1_m':0.05,'area_m2':0.003,'open_fraction':0.6}]},"
                    + "'ground':{'regions':[{'type':'land','layers':[{'material':'soil_arid','thickness_m':0.06}],'soil_depth_m':0.06,'wet0':0.5}]},"
                    + "'mist':{'f_air':0.1,'f_leaf':0.2,'f_glass':0.1,'events':[{'h':9,'nozzles':1,'flow_ml_min':60,'seconds':60},"
                    + "{'h':12,'nozzles':1,'flow_ml_min':60,'seconds':60,'f_air':0.8}]},"
                    + "'devices':[%s],"
                    + "'room':{'winter':{'temp_day_c':20,'temp_night_c':18,'rh_day_pct':50,'rh_night_pct':50},"
                    + "'summer':{'temp_day_c':26,'temp_night_c':24,'rh_day_pct':50,'rh_night_pct':50}}}";

    private static ClimateCase with(String device) {
        return CaseJson.parse(String.format(BOX, device)).read();
    }

    private static HeatSplit split(String device) {
        return ClimateModel.of(with(device), Factors.ONE).split(0);
    }

    private static String device(String rest) {
        return "{'name':'d','power_w':20,'schedule':'always'," + rest + "}";
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            'type':'mat','face':'bottom','x0_m':0.1,'x1_m':0.3,'y0_m':0.1,'y1_m':0.3
            'type':'mat','face':'right','x0_m':0.1,'x1_m':0.3,'z0_m':0.0,'z1_m':0.2
            'type':'side_mat','face':'back','x0_m':0.1,'x1_m':0.3,'z0_m':0.1,'z1_m':0.2
            'type':'bottom_mat','x0_m':-0.0,'x1_m':0.3,'y0_m':0.1,'y1_m':0.3
            'type':'cable','x0_m':0.1,'x1_m':0.3,'y0_m':0.1,'y1_m':0.3,'z_m':0.02
            'type':'fan','x_m':0.1,'y_m':0.1,'z_m':0.3
            'type':'fogger','x_m':0.1,'y_m':0.1,'z_m':0.3
            'type':'panel','x_m':0.3,'y_m':0.2,'z_m':0.39,'size_x_m':0.3,'size_y_m':0.2,'f_wide':0.6,'f_star':0.1,'band':'lwir'
            'type':'tube','axis':'y','x_m':0.3,'y_m':0.2,'z_m':0.45,'length_m':0.3,'optic':'bare','f_beam':0.4,'band':'light'
            'type':'point','aim':[0.3,0,-1],'x_m':0.3,'y_m':0.2,'z_m':0.45,'beam_deg':40,'f_beam':0.5,'f_wide':0.2,'band':'nir','wide_band':'lwir'
            """, quoteCharacter = '"')
    void aDeviceKeepsItsWatts(String words) {
        assertThat(split(device(words)).sum()).isCloseTo(20, within(1e-9));
    }

    /** A mat that lies half beyond the floor gives that half to the room: areas, not middles of tiles. */
    @Test
    void aMatCountsByItsArea() {
        HeatSplit half = split(device("'type':'mat','face':'bottom','x0_m':0.5,'x1_m':0.7,'y0_m':0.1,'y1_m':0.3"));
        assertThat(half.room()).isCloseTo(10, within(1e-9));
        assertThat(half.base()).isCloseTo(10, within(1e-9));
        HeatSplit narrow =
                split(device("'type':'mat','face':'bottom','x0_m':0.301,'x1_m':0.303,'y0_m':0.1,'y1_m':0.3"));
        assertThat(narrow.base()).as("narrower than a tile").isCloseTo(20, within(1e-9));
        HeatSplit cable = split(device("'type':'cable','x0_m':0.301,'x1_m':0.303,'y0_m':0.1,'y1_m':0.3,'z_m':0.02"));
        assertThat(cable.cells()).isCloseTo(20, within(1e-9));
    }

    @Test
    void aSideMatIsPartlyBehindTheGround() {
        HeatSplit s = split(device("'type':'mat','face':'right','x0_m':0.1,'x1_m':0.3,'z0_m':0.0,'z1_m':0.12"));
        assertThat(s.panes()).isCloseTo(10, within(1e-9));
        assertThat(s.cells()).isCloseTo(7, within(1e-9));
        assertThat(s.room()).isCloseTo(3, within(1e-9));
    }

    @Test
    void ownHoursAndAgeingAreTaken() {
        ClimateCase c = with(
                "{'name':'uv','type':'tube','power_w':24,'schedule':{'on_h':22,'hours':4},'ageing':0.3,'x_m':0.3,'y_m':0.2,'z_m':0.38,"
                        + "'length_m':0.4,'optic':'reflector','f_beam':0.4,'band':'light','uvi_ref':4,'uvi_ref_dist_m':0.3}");
        Fixture f = c.fixtures().get(0);
        assertThat(f.hours()).isEqualTo(new Fixture.Hours.From(22, 4));
        assertThat(((Fixture.Lamp) f.part()).uv().orElseThrow().index()).isCloseTo(2.8, within(1e-12));
    }

    @Test
    void theBoxIsReadWhole() {
        ClimateCase c = with("");
        assertThat(c.shell().lid().free()).isEqualTo(0.8);
        assertThat(c.shell().lid().top()).isEqualTo(Glazing.ACRYLIC);
        assertThat(c.shell().sides().get(Lid.Side.BACK).reflects()).isEqualTo(0.9);
        assertThat(c.shell().sides().get(Lid.Side.BACK).glazing()).isEqualTo(Glazing.OPAQUE);
        assertThat(c.shell().sides().get(Lid.Side.LEFT).glazing()).isEqualTo(Glazing.GLASS);
        assertThat(c.shell().vents()).singleElement().satisfies(v -> {
            assertThat(v.side()).isEqualTo(Optional.empty());
            assertThat(v.back()).isEqualTo(0.05);
        });
        assertThat(c.mist().air()).isEqualTo(0.1);
        assertThat(c.mist().events().get(0).air()).isEmpty();
        assertThat(c.mist().events().get(1).air()).hasValue(0.8);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            'type':'mat','x0_m':0.1,'x1_m':0.3                        | /devices/0/face
            'type':'mat','face':'bottom','x0_m':0.1,'x1_m':0.3        | /devices/0/y0_m
            'type':'mat','face':'left','x0_m':0.1,'x1_m':0.3          | /devices/0/z0_m
            'type':'cable','x0_m':0.1,'x1_m':0.3,'y0_m':0,'y1_m':0.1  | /devices/0/z_m
            'type':'panel','x_m':0.1,'y_m':0.1,'z_m':0.3,'band':'lwir' | /devices/0/size_x_m
            'type':'fan','x_m':0.1,'y_m':0.1                          | /devices/0/z_m
            """, quoteCharacter = '"')
    void whatIsMissingIsNamed(String words, String pointer) {
        String document = String.format(BOX, device(words.trim())).replace('\'', '"');
        assertThat(CaseReader.problems(JsonMapper.builder().build().readTree(document)))
                .extracting(Problem::pointer)
                .contains(pointer);
    }

    private static CaseReader box(String more) {
        return CaseJson.parse(String.format(BOX, "").replaceFirst("\\{", "{" + more + ","));
    }

    @Test
    void theRoomHasItsOwnHours() {
        ClimateCase.RoomCourse usual = CaseJson.parse(String.format(BOX, "")).season("winter");
        assertThat(usual.begins()).isEqualTo(7);
        assertThat(usual.ends()).isEqualTo(22);
        String own = String.format(BOX, "").replace("'winter':{", "'winter':{'day_start_h':9,'day_end_h':17,");
        ClimateCase.RoomCourse changed = CaseJson.parse(own).season("winter");
        assertThat(changed.begins()).isEqualTo(9);
        assertThat(changed.ends()).isEqualTo(17);
    }

    @Test
    void theAnimalSaysWhereItsBackIs() {
        assertThat(CaseJson.parse(String.format(BOX, "")).reach()).isEqualTo(LightMap.Reach.GROUND);
        assertThat(box("'animal':{'climbs':true,'back_height_m':0.1,'keep_from_top_m':0.2}")
                        .reach())
                .isEqualTo(new LightMap.Reach(true, 0.1, 0.2, 0));
    }

    /** derived: a hide without damp ground is as moist as the air before it, one without an opening and leaks is saturated. */
    @Test
    void aHideIsBetweenItsGroundAndItsOpening() {
        double open = hide("1e-3", "0.0035", "0");
        double damp = hide("1e-3", "0.0035", "0.02");
        double shut = hide("1e-6", "1e-7", "0.02");
        assertThat(damp).isGreaterThan(open + 2);
        assertThat(shut).isGreaterThan(damp);
    }

    private static double hide(String volume, String opening, String wet) {
        CaseReader input = box("'hide':{'x_m':0.3,'y_m':0.2,'z_m':0.1,'volume_m3':" + volume + ",'opening_m2':"
                + opening + ",'wet_m2':" + wet + ",'wetness':1}");
        return CaseWriter.compute(input)
                .path("steady_winter_day")
                .path("hide_rh_pct")
                .asDouble();
    }

    /** The box is 20 °C in winter and 26 °C in summer, within a kelvin. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            [15, 30]   | within | within
            [15, 22]   | within | above
            [null, 22] | within | above
            [23, 30]   | below  | within
            [23, null] | below  | within
            [30, 40]   | below  | below
            """)
    void aLimitIsJudgedOnBothDays(String range, String winter, String summer) {
        ObjectNode all = CaseWriter.compute(box("'limits':{'mean_air_c':" + range + "}"));
        assertThat(all.path("day_winter")
                        .path("judged")
                        .path("limit_mean_air_c")
                        .asString())
                .isEqualTo(winter);
        assertThat(all.path("day_summer")
                        .path("judged")
                        .path("limit_mean_air_c")
                        .asString())
                .isEqualTo(summer);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            'cellar_c':[1,2]     | /limits/cellar_c
            'water_0_c':[1,2]    | /limits/water_0_c
            'mean_air_c':[2,1]   | /limits/mean_air_c
            'mean_air_c':[2]     | /limits/mean_air_c
            'mean_air_c':'warm'  | /limits/mean_air_c
            """, quoteCharacter = '"')
    void aLimitOfNothingIsNamed(String limit, String pointer) {
        String document = String.format(BOX, "").replaceFirst("\\{", "{'limits':{" + limit + "},");
        assertThat(CaseReader.problems(JsonMapper.builder().build().readTree(document.replace('\'', '"'))))
                .extracting(Problem::pointer)
                .contains(pointer);
    }
}
