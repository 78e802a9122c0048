package app.fret.files.musicxml;

import java.io.InputStream;
import java.io.Reader;
import org.w3c.dom.ls.LSInput;

/** A schema imported by another, read from the test's resources. */
final class LocalSchema implements LSInput {
  private final String name;
  private final InputStream in;

  LocalSchema(String name, InputStream in) {
    this.name = name;
    this.in = in;
  }

  @Override
  public InputStream getByteStream() {
    return in;
  }

  @Override
  public String getSystemId() {
    return name;
  }

  @Override
  public Reader getCharacterStream() {
    return null;
  }

  @Override
  public void setCharacterStream(Reader reader) {}

  @Override
  public void setByteStream(InputStream stream) {}

  @Override
  public String getStringData() {
    return null;
  }

  @Override
  public void setStringData(String data) {}

  @Override
  public void setSystemId(String id) {}

  @Override
  public String getPublicId() {
    return null;
  }

  @Override
  public void setPublicId(String id) {}

  @Override
  public String getBaseURI() {
    return null;
  }

  @Override
  public void setBaseURI(String uri) {}

  @Override
  public String getEncoding() {
    return null;
  }

  @Override
  public void setEncoding(String encoding) {}

  @Override
  public boolean getCertifiedText() {
    return false;
  }

  @Override
  public void setCertifiedText(boolean certified) {}
}
