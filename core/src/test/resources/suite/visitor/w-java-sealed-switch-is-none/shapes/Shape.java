package shapes;

public sealed interface Shape permits Disc, Box, Stack {
}
