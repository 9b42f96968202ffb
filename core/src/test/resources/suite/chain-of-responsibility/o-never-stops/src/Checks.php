<?php

abstract class Check
{
    protected ?Check $next = null;

    public function then(Check $next): Check
    {
        $this->next = $next;
        return $next;
    }

    public function run(array $order): void
    {
        if ($this->next !== null) {
            $this->next->run($order);
        }
    }
}

class LogCheck extends Check
{
    public function run(array $order): void
    {
        echo 'order ', $order['id'], PHP_EOL;
        parent::run($order);
    }
}

class StockCheck extends Check
{
    public function run(array $order): void
    {
        echo 'stock ', $order['item'], PHP_EOL;
        parent::run($order);
    }
}

$checks = new LogCheck();
$checks->then(new StockCheck());
$checks->run(['id' => 1, 'item' => 'rope']);
