<?php

namespace School;

require 'Notices.php';

(new Absence(new Sms()))->send('Kim');
(new Outing(new Letter()))->send('Lou');
