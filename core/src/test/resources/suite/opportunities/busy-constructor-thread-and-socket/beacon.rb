require "socket"

class Beacon
  def initialize(host)
    @socket = TCPSocket.new(host, 4001)
    @beat = Thread.new { loop { @socket.puts "on"; sleep 5 } }
  end

  def stop
    @beat.kill
    @socket.close
  end
end

Beacon.new("lamp.aldera").stop
