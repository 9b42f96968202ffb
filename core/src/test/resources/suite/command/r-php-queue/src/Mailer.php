<?php
namespace Shop;

class Mailer
{
    public function send(string $to, string $text): void
    {
        mail($to, 'Shop', $text);
    }
}
