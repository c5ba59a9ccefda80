package fluidframe.server.ribbon;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.routine.FloorFit;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What would keep a routine on its floor.
 *
 * @param changes what is done, in plain words
 * @param figures what is then danced
 * @param startX where it then begins, in metres
 * @param stride in metres
 * @param startTurn by how many sixteenths the first figure is then turned
 * @param outside metres by which the floor is left even so
 */
record FloorFitView(
        List<String> changes,

        @ArraySchema(schema = @Schema(ref = ApiDescription.PLACED))
        List<JsonNode> figures,

        double startX,
        double startY,
        double stride,
        int startTurn,
        double outside) {
    static FloorFitView of(FloorFit.Proposal proposal) {
        return new FloorFitView(
                proposal.changes(),
                proposal.placed().stream()
                        .<JsonNode>map(RoutineFormat.ROUTINE::toJson)
                        .toList(),
                Math.round(proposal.hall().start().x() * 100) / 100.0,
                Math.round(proposal.hall().start().y() * 100) / 100.0,
                proposal.stride().metres(),
                proposal.startTurn(),
                Math.round(proposal.outsideMetres() * 10) / 10.0);
    }
}
