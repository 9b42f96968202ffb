const { MailSender, PigeonSender } = require('./senders');
const { Warning, Invitation } = require('./notices');

new Warning(new PigeonSender(4)).send('island');
new Invitation(new MailSender(), 'the fair').send('mayor');
