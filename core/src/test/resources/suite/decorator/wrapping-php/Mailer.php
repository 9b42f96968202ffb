<?php

namespace Aldera\Mail;

interface Mailer
{
    public function send(string $to, string $text): bool;
}

final class PostMailer implements Mailer
{
    private array $sent = [];

    public function send(string $to, string $text): bool
    {
        $this->sent[] = [$to, $text];

        return true;
    }
}

abstract class MailerWrap implements Mailer
{
    public function __construct(protected readonly Mailer $inner)
    {
    }

    public function send(string $to, string $text): bool
    {
        return $this->inner->send($to, $text);
    }
}

final class SignedMailer extends MailerWrap
{
    public function send(string $to, string $text): bool
    {
        return parent::send($to, $text . "\n-- the port of Aldera");
    }
}

final class RetryingMailer extends MailerWrap
{
    public function send(string $to, string $text): bool
    {
        for ($i = 0; $i < 3; $i++) {
            if ($this->inner->send($to, $text)) {
                return true;
            }
        }

        return false;
    }
}
