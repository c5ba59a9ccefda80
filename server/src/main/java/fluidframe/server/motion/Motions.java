package fluidframe.server.motion;

import fluidframe.core.chart.Column;
import fluidframe.core.count.Beats;
import fluidframe.core.count.CountIn;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.count.Dance;
import fluidframe.core.count.SpokenCount;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.Stride;
import fluidframe.core.handout.RoleSheet;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.link.Danceable;
import fluidframe.core.motion.Motion;
import fluidframe.core.music.Pulse;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.server.ribbon.RoutineDesk;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Works out motions with what is said and charted along them. */
@Service
public class Motions {
    private final RoutineDesk desk;

    Motions(RoutineDesk desk) {
        this.desk = desk;
    }

    public MotionView figure(Danceable danced, Optional<CountLanguage> language, Motion.Couple couple) {
        Dance dance = danced.chart().dance();
        double tempo = (dance.slowestBarsPerMinute() + dance.fastestBarsPerMinute()) / 2.0;
        Motion motion = Motion.of(danced, Stride.usual(dance), couple);
        Beats start = danced.chart().startBeat();
        List<MotionView.StageRow> rows = new ArrayList<>();
        for (Role role : Role.values()) rows.addAll(rows(danced, role, 0, 0, start, language));
        return view(
                danced.name(),
                motion,
                Pulse.of(tempo, dance.beatsPerBar(), Optional.empty(), Optional.empty()),
                new MotionView.HallSize(0, 0),
                rows,
                List.of(new MotionView.StageBlock(
                        danced.name(),
                        Optional.of(danced.chart().id()),
                        start.toDouble(),
                        start.plus(danced.length()).toDouble(),
                        1,
                        faults(danced))));
    }

    public MotionView routine(Routine routine, Optional<CountLanguage> language, Motion.Couple couple) {
        RoutineDesk.Rehearsed rehearsed = desk.rehearsed(routine);
        RoutineWork work = rehearsed.work();
        Motion motion = Motion.of(work, routine.hall(), routine.stride(), couple);
        List<MotionView.StageRow> rows = new ArrayList<>();
        List<MotionView.StageBlock> blocks = new ArrayList<>();
        for (int i = 0; i < work.blocks().size(); i++) {
            Block block = work.blocks().get(i);
            blocks.add(new MotionView.StageBlock(
                    block.name(),
                    block.figure().map(danced -> danced.chart().id()),
                    block.start().toDouble(),
                    block.end().toDouble(),
                    block.bar(work.dance().bar()),
                    block.figure().map(Motions::faults).orElse(List.of())));
            if (block.isFree()) continue;
            for (Role role : Role.values()) {
                rows.addAll(rows(block.danced(), role, i, block.rotation(), block.start(), language));
            }
        }
        return view(
                routine.name(),
                motion,
                rehearsed.pulse(),
                new MotionView.HallSize(
                        routine.hall().lengthMetres(), routine.hall().widthMetres()),
                rows,
                blocks);
    }

    private static List<MotionView.UsualFault> faults(Danceable danced) {
        return danced.chart().teaching().faults().stream()
                .map(fault -> new MotionView.UsualFault(fault.seen(), fault.cue()))
                .toList();
    }

    private static List<MotionView.StageRow> rows(
            Danceable danced, Role role, int block, int rotation, Beats start, Optional<CountLanguage> language) {
        List<String> said =
                language.map(chosen -> danced.chart().said(role, chosen)).orElse(List.of());
        List<MotionView.StageRow> rows = new ArrayList<>();
        for (LedgerRow row : danced.ledger().of(role).rows()) {
            Map<String, String> cells = new LinkedHashMap<>();
            RoleSheet.cells(row.step(), danced.chart(), rotation)
                    .forEach((column, text) -> cells.put(column.key(), text));
            Beats onset = start.plus(row.onset());
            String count =
                    said.isEmpty() ? Column.COUNT.of(row.step(), danced.chart().dance()) : said.get(row.number() - 1);
            rows.add(new MotionView.StageRow(
                    role.toString(),
                    block,
                    row.number(),
                    onset.toDouble(),
                    start.plus(row.end()).toDouble(),
                    count,
                    SpokenCount.of(count, onset).stream()
                            .map(word -> new MotionView.SpokenWord(
                                    word.word(), word.beat().toDouble()))
                            .toList(),
                    cells));
        }
        return rows;
    }

    private static MotionView.SoundView sound(Pulse pulse) {
        return pulse.sound()
                .map(sound -> new MotionView.SoundView(
                        sound.file(), Math.round(sound.secondsAt(pulse.songBeat()) * 10_000) / 10_000.0))
                .orElse(null);
    }

    private static MotionView view(
            String name,
            Motion motion,
            Pulse pulse,
            MotionView.HallSize hall,
            List<MotionView.StageRow> rows,
            List<MotionView.StageBlock> blocks) {
        Dance dance = motion.dance();
        double end = Math.max(
                motion.end(),
                blocks.isEmpty() ? 0 : blocks.get(blocks.size() - 1).end());
        double[] seconds = new double[(int) Math.ceil(end) + 1];
        for (int beat = 0; beat < seconds.length; beat++) {
            seconds[beat] = Math.round((pulse.seconds(beat) - pulse.seconds(0)) * 10_000) / 10_000.0;
        }
        double bars = (seconds.length - 1.0) / dance.beatsPerBar();
        double tempo = seconds.length < 2 ? pulse.tempo() : Math.round(600 * bars / seconds[seconds.length - 1]) / 10.0;
        CountIn countIn = CountIn.of(dance, tempo);
        return new MotionView(
                name,
                dance.toString(),
                dance.title(),
                dance.beatsPerBar(),
                dance.isMoving(),
                motion.from(),
                motion.begins(),
                end,
                tempo,
                seconds,
                hall,
                sound(pulse),
                new MotionView.CountInView(countIn.bars(), countIn.words()),
                MotionView.dancers(motion),
                rows.stream()
                        .sorted(Comparator.comparingDouble(MotionView.StageRow::onset))
                        .toList(),
                blocks,
                Stream.of(CountLanguage.values()).map(CountLanguage::toString).toList());
    }
}
