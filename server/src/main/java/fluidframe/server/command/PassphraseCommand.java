package fluidframe.server.command;

import fluidframe.server.access.CoachLock;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** For whoever has forgotten the passphrase, and has the files all the same. */
@Command(
        name = "passphrase",
        description = "Says whether the coach's page asks for a passphrase, and takes it away.",
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {"0:done", "4:the data folder cannot be taken; stop the running studio first"})
final class PassphraseCommand implements Callable<Integer> {
    @Mixin
    private DataOption data;

    @Option(names = "--remove", description = "Take it away; a new one is set in the page, under Sharing.")
    private boolean remove;

    @Override
    public Integer call() {
        String said = Studio.with(data.folder(), false, studio -> {
            CoachLock lock = studio.getBean(CoachLock.class);
            if (!lock.isSet()) return "The coach's page opens without a passphrase.";
            if (!remove) return "The coach's page asks for a passphrase.";
            lock.remove();
            return "Removed: the coach's page opens without a passphrase.";
        });
        System.out.println(said);
        return CommandLineTool.DONE;
    }
}
