<?php
namespace Notify;

interface Transport
{
    public function deliver(string $to, string $subject, string $body): bool;
}

final class Smtp implements Transport
{
    public function __construct(private string $host) {}

    public function deliver(string $to, string $subject, string $body): bool
    {
        return mail($to, $subject, $body, ['X-Host' => $this->host]);
    }
}

final class Sms implements Transport
{
    public function deliver(string $to, string $subject, string $body): bool
    {
        return strlen($subject . $body) < 160 && file_put_contents('php://stdout', "$to $subject") > 0;
    }
}
