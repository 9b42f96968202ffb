<?php

class Store
{
    private array $goods = [];

    public function put(string $what, int $count): void
    {
        $this->goods[$what] = ($this->goods[$what] ?? 0) + $count;
    }

    public function count(string $what): int
    {
        return $this->goods[$what] ?? 0;
    }
}

class TimedStore
{
    private array $times = [];

    public function __construct(private Store $store)
    {
    }

    public function __call(string $name, array $args): mixed
    {
        $start = microtime(true);
        $result = $this->store->$name(...$args);
        $this->times[$name] = microtime(true) - $start;
        return $result;
    }
}

$store = new TimedStore(new Store());
$store->put('rope', 3);
echo $store->count('rope');
