import java.util.*;
import java.util.concurrent.*;
import java.util.stream.*;
interface Pump { CompletableFuture<Void> start(); CompletionStage<Integer> level(); Optional<String> name(); Stream<String> lines(); List<String> parts(); void stop(); }
class RealPump implements Pump { int l; public CompletableFuture<Void> start() { l++; return CompletableFuture.runAsync(() -> l++); } public CompletionStage<Integer> level() { return CompletableFuture.supplyAsync(() -> l); } public Optional<String> name() { return Optional.of("p" + l); } public Stream<String> lines() { return Stream.of("a", "b"); } public List<String> parts() { return List.of("a"); } public void stop() { l = 0; } }
class NoPump implements Pump { public CompletableFuture<Void> start() { return CompletableFuture.completedFuture(null); } public CompletionStage<Integer> level() { return CompletableFuture.completedStage(0); } public Optional<String> name() { return Optional.empty(); } public Stream<String> lines() { return Stream.empty(); } public List<String> parts() { return Collections.emptyList(); } public void stop() {} }
class Dock { final Pump pump; Dock(Pump p) { pump = p == null ? new NoPump() : p; } void go() { pump.start(); } public static void main(String[] a) { new Dock(new RealPump()).go(); } }
