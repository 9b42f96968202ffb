<?php

require 'Mailbox.php';

class Billing
{
    private Mailbox $mail;

    public function __construct()
    {
        $this->mail = new Mailbox('mail.local');
    }

    public function bill(string $who): void
    {
        $this->mail->send("bill for $who");
    }
}

class Reminders
{
    private Mailbox $mail;

    public function __construct()
    {
        $this->mail = new Mailbox('mail.local');
    }

    public function remind(string $who): void
    {
        $this->mail->send("remember, $who");
    }
}
