<?php

interface Mailing
{
    public function send(string $to, string $text): bool;
}

class Smtp implements Mailing
{
    private int $sent = 0;

    public function send(string $to, string $text): bool
    {
        $this->sent++;
        return strlen($text) > 0;
    }
}

abstract class MailingDecorator implements Mailing
{
    public function __construct(protected Mailing $inner)
    {
    }

    public function send(string $to, string $text): bool
    {
        return $this->inner->send($to, $text);
    }
}

class Signed extends MailingDecorator
{
    public function send(string $to, string $text): bool
    {
        return parent::send($to, $text . "\n-- the harbour office");
    }
}

class Repeated extends MailingDecorator
{
    public function send(string $to, string $text): bool
    {
        return parent::send($to, $text) || parent::send($to, $text);
    }
}

$mailing = new Signed(new Repeated(new Smtp()));
$mailing->send('a@b.c', 'closed tomorrow');
