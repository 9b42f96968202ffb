<?php

use Aldera\Mail\{PostMailer, RetryingMailer, SignedMailer};

$mailer = new RetryingMailer(new SignedMailer(new PostMailer()));
$mailer->send('captain@doris', 'come in');
