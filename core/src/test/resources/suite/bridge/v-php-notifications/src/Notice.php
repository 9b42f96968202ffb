<?php
namespace Notify;

abstract class Notice
{
    public function __construct(protected Transport $transport) {}

    abstract public function send(string $to): bool;
}

class Invoice extends Notice
{
    public function __construct(Transport $transport, private int $cents)
    {
        parent::__construct($transport);
    }

    public function send(string $to): bool
    {
        return $this->transport->deliver($to, 'your invoice', number_format($this->cents / 100, 2));
    }
}

class Reminder extends Notice
{
    private int $sent = 0;

    public function send(string $to): bool
    {
        $this->sent++;
        return $this->transport->deliver($to, "reminder {$this->sent}", 'please pay');
    }
}
