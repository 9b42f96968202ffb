<?php

use Aldera\Jobs\Job;
use Aldera\Jobs\Queue;
use Aldera\Jobs\SystemClock;
use Aldera\Jobs\Worker;

$queue = new Queue();
$queue->push(new Job('mail', ['to' => 'ada']));
$queue->push(new Job('print', ['text' => 'hello']));
$worker = new Worker($queue, [
    'mail' => function (array $data): void {
        mail($data['to'], 'hello', 'text');
    },
    'print' => fn (array $data) => print $data['text'],
], new SystemClock());
echo $worker->work();
