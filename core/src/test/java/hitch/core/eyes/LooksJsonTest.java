package hitch.core.eyes;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.exchange.LooksJson;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;
import hitch.core.survey.Reckoner;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class LooksJsonTest {
    @Test
    void aPlaceIsToldWithItsClipItsMomentAndWhereTheCameraStood() {
        LookHere look = new LookHere(new FrameRef(Sample.UP, 24_460), new Station(-3718), 2.34, LookHere.Why.WALL);
        JsonNode told = JsonMapper.shared()
                .readTree(LooksJson.write(Reckoner.survey(Sample.job()), List.of(look)))
                .get(0);
        assertThat(told.get("clip").asString()).isEqualTo("up.mp4");
        assertThat(told.get("seconds").asDouble()).isEqualTo(24.5);
        assertThat(told.get("station_ft").asDouble()).isEqualTo(-12.2);
        assertThat(told.get("place").asString()).isEqualTo("12.2 ft toward the building");
        assertThat(told.get("by").asDouble()).isEqualTo(2.3);
        assertThat(told.get("why").asString()).isEqualTo("the wall is unlike the rest of its clip");
    }
}
