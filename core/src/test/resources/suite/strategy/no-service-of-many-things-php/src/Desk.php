<?php
namespace Aldera\Office;

interface Desk
{
    public function print(string $line): void;
    public function warn(string $line): void;
    public function ask(string $question): string;
    public function confirm(string $question): bool;
    public function choose(string $question, array $answers): string;
    public function secret(string $question): string;
    public function isQuiet(): bool;
    public function isLoud(): bool;
    public function setQuiet(bool $quiet): void;
    public function width(): int;
    public function colour(string $name): string;
    public function clear(): void;
    public function user(): string;
    public function setUser(string $user): void;
    public function height(): int;
    public function lines(): int;
    public function pages(): int;
    public function copies(): int;
    public function margin(): int;
    public function dots(): int;
    public function trays(): int;
}

final class Counter implements Desk
{
    private string $user = '';
    private bool $quiet = false;

    public function print(string $line): void { echo $line; }
    public function warn(string $line): void { echo '! ' . $line; }
    public function ask(string $question): string { echo $question; return (string) fgets(STDIN); }
    public function confirm(string $question): bool { return $this->ask($question) === 'y'; }
    public function choose(string $question, array $answers): string { return $answers[(int) $this->ask($question)]; }
    public function secret(string $question): string { return trim($this->ask($question)); }
    public function isQuiet(): bool { return $this->quiet; }
    public function isLoud(): bool { return !$this->quiet; }
    public function setQuiet(bool $quiet): void { $this->quiet = $quiet; }
    public function width(): int { return 80; }
    public function colour(string $name): string { return "\e[" . $name; }
    public function clear(): void { echo "\f"; }
    public function user(): string { return $this->user; }
    public function setUser(string $user): void { $this->user = $user; }
    public function height(): int { return 20; }
    public function lines(): int { return 21; }
    public function pages(): int { return 22; }
    public function copies(): int { return 23; }
    public function margin(): int { return 24; }
    public function dots(): int { return 25; }
    public function trays(): int { return 26; }
}

final class Window implements Desk
{
    private array $lines = [];
    private array $answers = [];
    private string $user = '';
    private bool $quiet = true;

    public function print(string $line): void { $this->lines[] = $line; }
    public function warn(string $line): void { $this->lines[] = strtoupper($line); }
    public function ask(string $question): string { return array_shift($this->answers); }
    public function confirm(string $question): bool { return (bool) $this->ask($question); }
    public function choose(string $question, array $answers): string { return $answers[0]; }
    public function secret(string $question): string { return $this->ask($question); }
    public function isQuiet(): bool { return $this->quiet; }
    public function isLoud(): bool { return !$this->quiet; }
    public function setQuiet(bool $quiet): void { $this->quiet = $quiet; }
    public function width(): int { return 120; }
    public function colour(string $name): string { return $name; }
    public function clear(): void { $this->lines = []; }
    public function user(): string { return $this->user; }
    public function setUser(string $user): void { $this->user = $user; }
    public function height(): int { return 40; }
    public function lines(): int { return 41; }
    public function pages(): int { return 42; }
    public function copies(): int { return 43; }
    public function margin(): int { return 44; }
    public function dots(): int { return 45; }
    public function trays(): int { return 46; }
}
