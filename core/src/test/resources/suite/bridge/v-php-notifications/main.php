<?php
require 'src/Transport.php';
require 'src/Notice.php';

use Notify\{Invoice, Reminder, Sms, Smtp};

foreach ([new Invoice(new Smtp('mail.example'), 1250), new Reminder(new Sms())] as $notice) {
    var_dump($notice->send('ana@example.org'));
}
