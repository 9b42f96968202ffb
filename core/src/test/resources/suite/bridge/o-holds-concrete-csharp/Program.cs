using Road;

new SpeedSign(new FlapPanel()).Show(80);
new QueueSign().Show(12);
