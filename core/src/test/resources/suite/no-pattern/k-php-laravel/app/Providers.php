<?php

namespace App\Port;

final class Container
{
    /** @var array<string, \Closure> */
    private array $makers = [];
    /** @var array<string, object> */
    private array $made = [];

    public function bind(string $id, \Closure $maker): void
    {
        $this->makers[$id] = $maker;
    }

    public function get(string $id): object
    {
        return $this->made[$id] ??= ($this->makers[$id])($this);
    }
}

final class PortProvider
{
    public function register(Container $container): void
    {
        $container->bind(Dispatcher::class, fn () => new Dispatcher());
        $container->bind(ArrivalLog::class, fn (Container $c) => new ArrivalLog('arrivals.log'));
    }

    public function boot(Container $container): void
    {
        $dispatcher = $container->get(Dispatcher::class);
        $log = $container->get(ArrivalLog::class);
        $dispatcher->listen(ShipArrived::class, [$log, 'handle']);
        $dispatcher->listen(ShipArrived::class, function (ShipArrived $event) {
            echo $event->ship;
        });
    }
}

final class ArrivalLog
{
    public function __construct(private string $file)
    {
    }

    public function handle(ShipArrived $event): void
    {
        file_put_contents($this->file, $event->ship . PHP_EOL, FILE_APPEND);
    }
}
