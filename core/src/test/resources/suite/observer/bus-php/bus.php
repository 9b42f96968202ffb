<?php
final class HarbourBus
{
    /** @var array<string, array<int, callable[]>> */
    private array $listeners = [];

    public function on(string $name, callable $listener, int $rank = 0): void
    {
        $this->listeners[$name][$rank][] = $listener;
    }

    public function say(string $name, string $text): void
    {
        krsort($this->listeners[$name]);
        foreach ($this->listeners[$name] ?? [] as $ranked) {
            foreach ($ranked as $listener) {
                $listener($text);
            }
        }
    }
}

$bus = new HarbourBus();
$bus->on('storm', function (string $text): void { echo $text; });
$bus->on('storm', fn (string $text) => error_log($text), 5);
$bus->say('storm', 'north');
