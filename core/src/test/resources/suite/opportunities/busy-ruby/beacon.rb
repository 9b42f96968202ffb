require 'socket'

class Beacon
  def initialize(host, port)
    @host = host
    @socket = TCPSocket.new(host, port)
    @socket.puts('hello')
    @thread = Thread.new { loop { @socket.puts('alive') } }
  end

  def stop
    @thread.kill
  end
end
