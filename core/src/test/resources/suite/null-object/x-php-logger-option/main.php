<?php
require 'Logger.php';
require 'Import.php';

(new Import())->run(['a']);
(new Import(new FileLogger('/tmp/log')))->run(['a', 'b']);
