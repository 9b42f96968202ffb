package dev.huella.cli;

import dev.huella.core.source.SourceException;
import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line. Results go to standard output, progress and warnings to standard error. */
@Command(name = "huella", mixinStandardHelpOptions = true, version = "huella 0.1.0", subcommands = {ScanCommand.class,
        FindCommand.class, ExplainCommand.class, CheckCommand.class, DrawCommand.class}, description = {
                "Recovers class structures and design pattern instances from existing code, with evidence.",
                "Without a command the window opens; \"huella demo\" opens it on the demo."})
public final class Huella {
    /** Wrong usage: nothing was read. */
    static final int WRONG_USAGE = 2;
    /** A source could not be read at all. */
    static final int UNREADABLE = 3;

    private Huella() {}

    static CommandLine commandLine() {
        var line = new CommandLine(new Huella());
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler((failure, command, parsed) -> explain(failure, command.getErr()));
        return line;
    }

    private static int explain(Exception failure, PrintWriter to) throws Exception {
        switch (failure) {
            case SourceException source -> {
                to.println(source.getMessage());
                return UNREADABLE;
            }
            case IllegalArgumentException usage -> {
                to.println(usage.getMessage());
                return WRONG_USAGE;
            }
            case java.io.IOException io -> {
                to.println("The result could not be written: %s. Check the folder and the space left."
                        .formatted(io.getMessage()));
                return UNREADABLE;
            }
            default -> throw failure;
        }
    }

    public static void main(String[] arguments) {
        CommandLine line = commandLine();
        int status;
        try {
            status = line.execute(arguments);
        } catch (OutOfMemoryError e) {
            line.getErr().println(SourceException.tooLarge("").getMessage());
            status = UNREADABLE;
        }
        System.exit(status);
    }
}
